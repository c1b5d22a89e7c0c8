import { testLaw } from '../laws';

testLaw(7, 430, [1, 2]);
