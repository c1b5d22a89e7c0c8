import { testLaw } from '../laws';

testLaw(11, 240);
