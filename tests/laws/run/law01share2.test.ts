import { testLaw } from '../laws';

testLaw(1, 1700, [2, 8]);
