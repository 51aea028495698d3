package android.os;

public class Build {
    public static class VERSION {
        public static int SDK_INT = Integer.getInteger("sdk", 35);
    }
}
