package android.graphics;

public class Bitmap {
    public final int bytes;

    public Bitmap(int bytes) {
        this.bytes = bytes;
    }
}
