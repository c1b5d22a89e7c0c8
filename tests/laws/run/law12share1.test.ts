import { testLaw } from '../laws';

testLaw(12, 420, [1, 2]);
