package android.content;

public class ActivityNotFoundException extends RuntimeException {}
