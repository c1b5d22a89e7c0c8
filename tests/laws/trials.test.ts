import { testLaw } from './laws';
import { EXCHANGE, HALVING } from './trials';

testLaw(EXCHANGE, 520);
testLaw(HALVING, 90);
