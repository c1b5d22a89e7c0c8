import { testLaw } from '../laws';

testLaw(8, 430);
