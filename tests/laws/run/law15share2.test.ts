import { testLaw } from '../laws';

testLaw(15, 500, [2, 2]);
