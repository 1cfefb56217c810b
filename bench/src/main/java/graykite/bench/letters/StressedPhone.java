package graykite.bench.letters;

import graykite.text.Phone;

/** A phone of a word, and whether it is a vowel that is stressed. */
record StressedPhone(Phone phone, boolean stressed) {
    private static final int PHONES = Phone.values().length;

    /** How many there are, told apart by {@link #number()} from 0. */
    static final int COUNT = 2 * PHONES;

    static StressedPhone of(int number) {
        return new StressedPhone(Phone.values()[number % PHONES], number >= PHONES);
    }

    int number() {
        return phone.ordinal() + (stressed ? PHONES : 0);
    }
}
