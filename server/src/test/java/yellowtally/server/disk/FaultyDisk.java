package yellowtally.server.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.util.concurrent.atomic.AtomicReference;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;
import org.jspecify.annotations.Nullable;

/** Files {@code faulty:} before their name: as long as a test says so, what is written to them fails with what the test says. */
public final class FaultyDisk extends FilePathWrapper {

    private static final AtomicReference<@Nullable String> SAYS = new AtomicReference<>();

    public static void register() {
        FilePath.register(new FaultyDisk());
    }

    /** From now on every write fails; {@code null}: none does. */
    public static void says(@Nullable String fault) {
        SAYS.set(fault);
    }

    @Override
    public String getScheme() {
        return "faulty";
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        return new PassedOn(getBase().open(mode)) {

            private void fail() throws IOException {
                String fault = SAYS.get();
                if (fault != null) {
                    throw new IOException(fault);
                }
            }

            @Override
            public int write(ByteBuffer bytes, long position) throws IOException {
                fail();
                return super.write(bytes, position);
            }

            @Override
            protected void implTruncate(long size) throws IOException {
                fail();
                super.implTruncate(size);
            }
        };
    }
}
