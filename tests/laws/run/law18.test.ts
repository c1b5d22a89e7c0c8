import { testLaw } from '../laws';

testLaw(18, 190);
