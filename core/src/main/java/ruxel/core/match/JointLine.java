package ruxel.core.match;

import java.util.List;

/**
 * The joints of a seam in a line: what of both sides is used up behind each of them, and where that lies. A joint that
 * an anchor fixes parts the seam in the middle of its places, so that half their width counts to each side (model 3).
 */
final class JointLine {
  private final List<Joints.Joint> joints;
  private final SideLayout a;
  private final SideLayout b;
  private final int[] usedA;
  private final int[] usedB;

  JointLine(List<Joints.Joint> joints, SideLayout a, SideLayout b) {
    this.joints = joints;
    this.a = a;
    this.b = b;
    usedA = new int[joints.size() + 1];
    usedB = new int[joints.size() + 1];
    for (int i = 0; i < joints.size(); i++) {
      usedA[i + 1] = Math.max(usedA[i], joints.get(i).a() + 1);
      usedB[i + 1] = Math.max(usedB[i], joints.get(i).b() + 1);
    }
  }

  int size() {
    return joints.size();
  }

  /** Places of a side that are used up behind so many joints. */
  int used(boolean onA, int joint) {
    return onA ? usedA[joint] : usedB[joint];
  }

  /** Where the seam is parted behind so many joints, along a side. */
  double mm(boolean onA, int joint) {
    if (joint == 0) {
      return 0;
    }
    SideLayout side = onA ? a : b;
    Joints.Joint last = joints.get(joint - 1);
    int place = onA ? last.a() : last.b();
    boolean inTheMiddle = last.interval() < 0 && place >= 0;
    double used = side.lengthMm(0, joint == joints.size() && !inTheMiddle ? side.size() : used(onA, joint));
    return inTheMiddle ? used - side.places().get(place).widthMm() / 2 : used;
  }

  double lengthMm(boolean onA) {
    return onA ? a.lengthMm(0, a.size()) : b.lengthMm(0, b.size());
  }

  /** Whether a group ends with the joint before. */
  boolean isBorder(int joint) {
    return joint > 0 && joints.get(joint - 1).groupEnds();
  }

  int interval(int joint) {
    return joints.get(joint).interval();
  }

  /** The fewest joints behind which all places before a cut of a side are used up. Logarithmic. */
  int behind(boolean onA, int placeCut) {
    int[] used = onA ? usedA : usedB;
    int low = 0;
    int high = joints.size();
    while (low < high) {
      int middle = (low + high) / 2;
      if (used[middle] >= placeCut) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }
}
