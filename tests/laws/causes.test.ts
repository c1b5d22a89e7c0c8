import { FIRST_OF_ALL, GOOD_END, NAMED_CAUSE, OPEN_OUTCOME, SAFETY_FIRST } from './causes';
import { testLaw } from './laws';

testLaw(NAMED_CAUSE, 140);
testLaw(OPEN_OUTCOME, 190);
testLaw(GOOD_END, 380);
testLaw(FIRST_OF_ALL, 430);
testLaw(SAFETY_FIRST, 180);
