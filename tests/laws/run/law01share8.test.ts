import { testLaw } from '../laws';

testLaw(1, 1700, [8, 8]);
