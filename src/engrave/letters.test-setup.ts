import { giveLetters } from './letters';

// Tests draw in every naming system; what is drawn before the letters have come has a test of its own.
giveLetters();
