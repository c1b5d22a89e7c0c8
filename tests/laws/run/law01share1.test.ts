import { testLaw } from '../laws';

testLaw(1, 1700, [1, 8]);
