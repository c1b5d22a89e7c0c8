import { testLaw } from '../laws';

testLaw(2, 140);
