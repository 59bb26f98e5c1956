package yellowtally.server.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/**
 * A disk that remembers everything that was done to one file, {@code memory:} before its name, and can tell what would be left of it
 * had the power gone at any of these moments: all that was forced, and of what came after it what luck allows.
 */
public final class DiskWithMemory extends FilePathWrapper {

    private static final int SECTOR = 512;

    private static final List<Done> DONE = new ArrayList<>();

    /** One thing that was done. */
    private sealed interface Done {
        record Written(long position, byte[] bytes) implements Done {}

        record Cut(long size) implements Done {}

        record Forced() implements Done {}

        record Said(int what) implements Done {}
    }

    static void forget() {
        FilePath.register(new DiskWithMemory());
        synchronized (DONE) {
            DONE.clear();
        }
    }

    /** Something was acknowledged. */
    static void said(int what) {
        remember(new Done.Said(what));
    }

    /** The moments at which something was written and not yet forced: where a cut can do harm. */
    static List<Integer> openMoments() {
        List<Integer> open = new ArrayList<>();
        synchronized (DONE) {
            boolean unforced = false;
            for (int moment = 0; moment < DONE.size(); moment++) {
                unforced = DONE.get(moment) instanceof Done.Written
                        || unforced && !(DONE.get(moment) instanceof Done.Forced);
                if (unforced) {
                    open.add(moment + 1);
                }
            }
        }
        return open;
    }

    private static void remember(Done done) {
        synchronized (DONE) {
            DONE.add(done);
        }
    }

    /** What was left, and what had been acknowledged. */
    record Left(byte[] file, List<Integer> said) {}

    /** What is left when the power goes after so many moments; of what was not forced each sector stays with a likelihood. */
    static Left after(int moments, Random luck, double stays) {
        List<Done> until;
        synchronized (DONE) {
            until = new ArrayList<>(DONE.subList(0, moments));
        }
        int forced = until.lastIndexOf(new Done.Forced());
        Growing file = new Growing();
        List<Integer> said = new ArrayList<>();
        for (int i = 0; i < until.size(); i++) {
            Done done = until.get(i);
            double kept = i < forced ? 1 : stays;
            if (done instanceof Done.Written written) {
                file.writeSome(written, luck, kept);
            } else if (done instanceof Done.Cut cut && luck.nextDouble() < kept) {
                file.cut(cut.size());
            } else if (done instanceof Done.Said one) {
                said.add(one.what());
            }
        }
        return new Left(Arrays.copyOf(file.bytes, file.size), said);
    }

    private static final class Growing {
        private byte[] bytes = new byte[1 << 20];
        private int size;

        void write(long position, byte[] written) {
            int end = Math.toIntExact(position) + written.length;
            if (end > bytes.length) {
                bytes = Arrays.copyOf(bytes, 2 * end);
            }
            System.arraycopy(written, 0, bytes, Math.toIntExact(position), written.length);
            size = Math.max(size, end);
        }

        void writeSome(Done.Written written, Random luck, double stays) {
            for (int from = 0; from < written.bytes().length; from += SECTOR) {
                if (luck.nextDouble() < stays) {
                    int to = Math.min(written.bytes().length, from + SECTOR);
                    write(written.position() + from, Arrays.copyOfRange(written.bytes(), from, to));
                }
            }
        }

        void cut(long to) {
            int end = Math.toIntExact(to);
            if (end < size) {
                Arrays.fill(bytes, end, size, (byte) 0);
                size = end;
            }
        }
    }

    @Override
    public String getScheme() {
        return "memory";
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        return new PassedOn(getBase().open(mode)) {

            @Override
            public int write(ByteBuffer from, long position) throws IOException {
                byte[] bytes = new byte[from.remaining()];
                from.duplicate().get(bytes);
                int written = super.write(from, position);
                remember(new Done.Written(position, Arrays.copyOf(bytes, written)));
                return written;
            }

            @Override
            public void force(boolean metaData) throws IOException {
                super.force(metaData);
                remember(new Done.Forced());
            }

            @Override
            protected void implTruncate(long size) throws IOException {
                super.implTruncate(size);
                remember(new Done.Cut(size));
            }
        };
    }
}
