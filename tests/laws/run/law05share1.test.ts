import { testLaw } from '../laws';

testLaw(5, 520, [1, 2]);
