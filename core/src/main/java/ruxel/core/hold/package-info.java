/** What faces the maker and where the hands begin (model 3a): derived from how pieces lie, never told by a method alone. */
package ruxel.core.hold;
