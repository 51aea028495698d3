package android.app;

import android.content.Context;

public class Service extends Context {}
