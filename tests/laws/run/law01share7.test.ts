import { testLaw } from '../laws';

testLaw(1, 1700, [7, 8]);
