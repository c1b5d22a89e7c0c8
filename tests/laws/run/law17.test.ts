import { testLaw } from '../laws';

testLaw(17, 70);
