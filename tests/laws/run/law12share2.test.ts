import { testLaw } from '../laws';

testLaw(12, 420, [2, 2]);
