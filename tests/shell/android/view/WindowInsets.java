package android.view;

public class WindowInsets {
    private final int top, right, bottom, left, stable;

    public WindowInsets(int top, int right, int bottom, int left, int stable) {
        this.top = top;
        this.right = right;
        this.bottom = bottom;
        this.left = left;
        this.stable = stable;
    }

    public int getSystemWindowInsetTop() {
        return top;
    }

    public int getSystemWindowInsetRight() {
        return right;
    }

    public int getSystemWindowInsetBottom() {
        return bottom;
    }

    public int getSystemWindowInsetLeft() {
        return left;
    }

    public int getStableInsetBottom() {
        return stable;
    }
}
