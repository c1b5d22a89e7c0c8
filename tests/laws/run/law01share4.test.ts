import { testLaw } from '../laws';

testLaw(1, 1700, [4, 8]);
