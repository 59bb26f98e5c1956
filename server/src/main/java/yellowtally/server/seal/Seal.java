package yellowtally.server.seal;

import java.nio.ByteBuffer;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One line of the chain: what a record says, and what stood before it. Whoever alters a line, takes one out or puts one in would
 * have to alter all that follow.
 *
 * @param n place in the chain, from 1
 * @param subject the record; absent in a line with a remark
 * @param remark why records are sealed anew from here on; absent else
 * @param content SHA-256 of what the record says; absent when it was taken away, and in a remark
 * @param hash SHA-256 of all of this and of the hash before
 */
record Seal(
        long n,
        @Nullable Subject subject,
        @Nullable String remark,
        @Nullable Sum content,
        Instant at,
        Sum hash) {

    /** What the first line follows. */
    static final Head NONE = new Head(0, Sum.NONE, Instant.EPOCH);

    /** A record, as far as the chain knows it. */
    record Subject(String table, UUID id) {}

    /** The end of the chain, or the end of a part of it: all that follows builds on this. */
    record Head(long n, Sum hash, Instant at) {

        /** As it is printed and typed: the number of the line and the beginning of its hash. */
        String code() {
            return n + "-" + hash.shown();
        }

        Seal next(Subject subject, @Nullable Sum content, Instant at) {
            return new Seal(n + 1, subject, null, content, at, hash(subject, "", content, at));
        }

        Seal next(String remark, Instant at) {
            return new Seal(n + 1, null, remark, null, at, hash(null, remark, null, at));
        }

        private Sum hash(@Nullable Subject subject, String remark, @Nullable Sum content, Instant at) {
            ByteBuffer numbers = ByteBuffer.allocate(2 * Long.BYTES + Integer.BYTES)
                    .putLong(n + 1)
                    .putLong(at.getEpochSecond())
                    .putInt(at.getNano());
            return new Digest()
                    .add(hash)
                    .add(numbers.array())
                    .add(subject == null ? "" : subject.table())
                    .add(subject == null ? "" : subject.id().toString())
                    .add(remark)
                    .add(content == null ? Sum.NONE : content)
                    .sum();
        }

        /** Whether a line, as it was read, is the one that follows here. */
        boolean isFollowedBy(Seal line) {
            return line.n == n + 1
                    && line.hash.equals(
                            hash(line.subject, line.remark == null ? "" : line.remark, line.content, line.at));
        }
    }

    Head head() {
        return new Head(n, hash, at);
    }
}
