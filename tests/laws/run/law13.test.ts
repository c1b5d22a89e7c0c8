import { testLaw } from '../laws';

testLaw(13, 70);
