package android.content;

public class ContentValues {}
