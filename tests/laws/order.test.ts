import { testLaw } from './laws';
import { HONEST_WORDS, NOTHING_TWICE, OF_USE, STAY_AT_THE_CORNER } from './order';

testLaw(STAY_AT_THE_CORNER, 430);
testLaw(NOTHING_TWICE, 750);
testLaw(HONEST_WORDS, 500);
testLaw(OF_USE, 70);
