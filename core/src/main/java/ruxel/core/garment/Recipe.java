package ruxel.core.garment;

/** A construction and the maker's answers (model 5). */
public record Recipe(String construction, Answers answers) {}
