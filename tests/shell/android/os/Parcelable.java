package android.os;

public interface Parcelable {}
