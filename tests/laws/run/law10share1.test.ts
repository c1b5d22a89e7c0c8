import { testLaw } from '../laws';

testLaw(10, 750, [1, 3]);
