import { testLaw } from '../laws';

testLaw(19, 3000, [2, 4]);
