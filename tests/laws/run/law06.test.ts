import { testLaw } from '../laws';

testLaw(6, 90);
