package ruxel.core.bench;

import java.util.List;
import ruxel.core.plan.SeamPlan;

/**
 * A step as it is taken to the bench (handbook 14): the frozen seam plan and every joint in words. Joint
 * k is the k-th element, counted from 0.
 */
public record BenchPlan(
    String seam,
    String title,
    String hold,
    String start,
    String check,
    List<String> cautions,
    SeamPlan plan,
    List<BenchJoint> joints) {
  public BenchPlan {
    cautions = List.copyOf(cautions);
    joints = List.copyOf(joints);
  }

  /** One joint: the places of both sides (−1 for a seam place) and what to do. */
  public record BenchJoint(int a, int b, String words) {}
}
