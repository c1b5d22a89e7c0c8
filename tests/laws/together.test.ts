import { testLaw } from './laws';
import { CAUSE_AND_CONSEQUENCE, NAMES, SYMMETRY, TWO_FAULTS } from './together';

testLaw(TWO_FAULTS, 240);
testLaw(SYMMETRY, 420);
testLaw(NAMES, 70);
testLaw(CAUSE_AND_CONSEQUENCE, 60);
