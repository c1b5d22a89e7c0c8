import { testLaw } from '../laws';

testLaw(3, 190);
