import { testLaw } from '../laws';

testLaw(1, 1700, [3, 8]);
