import { testLaw } from '../laws';

testLaw(5, 520, [2, 2]);
