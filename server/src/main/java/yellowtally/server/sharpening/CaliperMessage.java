package yellowtally.server.sharpening;

/**
 * What a caliper sends, one message for each press of its key. A device of any make comes in by posting the same message.
 *
 * @param device name of the device
 * @param seq counts up, so that a message sent twice is taken once
 * @param value the reading, in {@code unit}
 * @param unit {@code mm} or {@code in}
 */
record CaliperMessage(String device, long seq, double value, String unit) {}
