import { testLaw } from '../laws';

testLaw(15, 500, [1, 2]);
