package itomichi.order;

import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;

/** Which holes hang together. */
final class UnionFind {
    private final int[] up;

    UnionFind(int number) {
        up = new int[number];
        Arrays.setAll(up, i -> i);
    }

    private UnionFind(int[] up) {
        this.up = up;
    }

    UnionFind copy() {
        return new UnionFind(up.clone());
    }

    int of(int hole) {
        int top = hole;
        while (up[top] != top) {
            top = up[top];
        }
        return top;
    }

    void join(int one, int other) {
        up[of(one)] = of(other);
    }

    int count() {
        Set<Integer> tops = new HashSet<>();
        for (int hole = 0; hole < up.length; hole++) {
            tops.add(of(hole));
        }
        return tops.size();
    }
}
