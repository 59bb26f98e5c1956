package yellowtally.server.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.util.concurrent.atomic.AtomicReference;
import org.h2.store.fs.FileBaseDefault;
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
        FileChannel file = getBase().open(mode);
        return new FileBaseDefault() {

            private void fail() throws IOException {
                String fault = SAYS.get();
                if (fault != null) {
                    throw new IOException(fault);
                }
            }

            @Override
            public long size() throws IOException {
                return file.size();
            }

            @Override
            public int read(ByteBuffer into, long position) throws IOException {
                return file.read(into, position);
            }

            @Override
            public int write(ByteBuffer bytes, long position) throws IOException {
                fail();
                return file.write(bytes, position);
            }

            @Override
            public void force(boolean metaData) throws IOException {
                file.force(metaData);
            }

            @Override
            protected void implTruncate(long size) throws IOException {
                fail();
                file.truncate(size);
            }

            @Override
            public FileLock tryLock(long position, long size, boolean shared) throws IOException {
                return file.tryLock(position, size, shared);
            }

            @Override
            protected void implCloseChannel() throws IOException {
                file.close();
            }
        };
    }
}
