package ruxel.core.construction;

import java.util.Map;
import java.util.function.IntFunction;

/** A handle, and the answers that move together when it is dragged by so many steps. */
record Drag(Handle handle, IntFunction<Map<String, Integer>> moved) {}
