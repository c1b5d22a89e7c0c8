import { testLaw } from './laws';
import { FREE_AND_CERTAIN, SEEN_IS_SEEN } from './seen';

testLaw(SEEN_IS_SEEN, 1700);
testLaw(FREE_AND_CERTAIN, 140);
