package itomichi.structure;

import itomichi.gathering.Form;
import java.util.Set;

/** What a structure says of itself in a few words and numbers, said one after the other. */
final class Description {

    final String key;
    final String name;
    private String purpose = "";
    private Form form = Form.ONE;
    private Skill skill = Skill.FIRST_BOOK;
    private int inNumber;
    private int usualStations;
    private Holing holing = Holing.none();
    private Set<Covering> coverings = Set.of();
    private boolean mayBeRounded;

    private Description(String key, String name) {
        this.key = key;
        this.name = name;
    }

    static Description of(String key, String name) {
        return new Description(key, name);
    }

    Description purpose(String sentence) {
        purpose = sentence;
        return this;
    }

    Description form(Form lying) {
        form = lying;
        return this;
    }

    Description skill(Skill asked) {
        skill = asked;
        return this;
    }

    /** How well it goes when many copies are made, from 2 to -2. */
    Description inNumber(int grade) {
        inNumber = grade;
        return this;
    }

    Description holes(int usual, Holing taken) {
        usualStations = usual;
        holing = taken;
        return this;
    }

    /** How a cover comes on to it. */
    Description covered(Covering... how) {
        coverings = Set.of(how);
        return this;
    }

    Description mayBeRounded() {
        mayBeRounded = true;
        return this;
    }

    boolean roundable() {
        return mayBeRounded;
    }

    String purpose() {
        return purpose;
    }

    Form form() {
        return form;
    }

    Skill skill() {
        return skill;
    }

    int inNumber() {
        return inNumber;
    }

    int usualStations() {
        return usualStations;
    }

    Holing holing() {
        return holing;
    }

    Set<Covering> coverings() {
        return coverings;
    }
}
