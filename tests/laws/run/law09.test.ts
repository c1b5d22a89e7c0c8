import { testLaw } from '../laws';

testLaw(9, 140);
