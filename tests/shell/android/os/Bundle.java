package android.os;

public class Bundle {}
