import { testLaw } from '../laws';

testLaw(14, 60);
