package yellowtally.server.doors;

import java.io.BufferedOutputStream;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** A body as it comes in, and where it is kept until its request is over. */
interface Body {

    void add(byte[] some, int length) throws IOException;

    /**
     * All of it, when all has come.
     *
     * @throws CharacterCodingException where it has to be text in UTF-8 and is not: whoever reads JSON guesses at other encodings, and
     *     takes longer forms of a letter for the letter
     */
    InputStream all() throws IOException;

    /** The request is over. */
    void close() throws IOException;

    /** A small one: text. */
    final class InMemory implements Body {

        private final ByteArrayOutputStream read = new ByteArrayOutputStream();

        @Override
        public void add(byte[] some, int length) {
            read.write(some, 0, length);
        }

        @Override
        public InputStream all() throws CharacterCodingException {
            byte[] bytes = read.toByteArray();
            CharBuffer text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
            if (text.chars().anyMatch(letter -> letter == 0)) {
                throw new CharacterCodingException();
            }
            return new ByteArrayInputStream(bytes);
        }

        @Override
        public void close() {
            // Goes with the request.
        }
    }

    /** A whole file; whoever carries out the request opens it by its path. */
    final class OnDisk implements Body {

        private final Path file;
        private final OutputStream read;

        OnDisk(Path file) throws IOException {
            this.file = file;
            this.read = new BufferedOutputStream(Files.newOutputStream(file));
        }

        @Override
        public void add(byte[] some, int length) throws IOException {
            read.write(some, 0, length);
        }

        @Override
        public InputStream all() throws IOException {
            read.close();
            return InputStream.nullInputStream();
        }

        @Override
        public void close() throws IOException {
            read.close();
            Files.deleteIfExists(file);
        }
    }
}
