import { testLaw } from '../laws';

testLaw(10, 750, [3, 3]);
