package ruxel.core.garment;

import ruxel.core.construction.Answers;

/** A construction and the maker's answers (model 5). */
public record Recipe(String construction, Answers answers) {}
