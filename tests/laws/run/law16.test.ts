import { testLaw } from '../laws';

testLaw(16, 180);
