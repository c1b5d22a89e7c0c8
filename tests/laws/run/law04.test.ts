import { testLaw } from '../laws';

testLaw(4, 380);
