package org.json;

public class JSONException extends Exception {}
