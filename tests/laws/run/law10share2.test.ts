import { testLaw } from '../laws';

testLaw(10, 750, [2, 3]);
