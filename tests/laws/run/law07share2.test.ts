import { testLaw } from '../laws';

testLaw(7, 430, [2, 2]);
