import { testLaw } from '../laws';

testLaw(1, 1700, [5, 8]);
