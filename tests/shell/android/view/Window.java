package android.view;

public class Window {
    public int flags;

    public void setFlags(int flags, int mask) {
        this.flags = (this.flags & ~mask) | (flags & mask);
    }
}
