package unbo.app.data;

import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;

/** Lines from an offset on: one more than a page holds, so that whoever asks knows whether there are more. */
public record Window(long offset, int size) implements Pageable {

    /** The lines of a page of {@link Paged#SIZE}, and one more. */
    public static Window page(int page) {
        return new Window((long) page * Paged.SIZE, Paged.SIZE + 1);
    }

    @Override
    public int getPageNumber() {
        return (int) (offset / size);
    }

    @Override
    public int getPageSize() {
        return size;
    }

    @Override
    public long getOffset() {
        return offset;
    }

    @Override
    public Sort getSort() {
        return Sort.unsorted();
    }

    @Override
    public Pageable next() {
        return new Window(offset + size, size);
    }

    @Override
    public Pageable previousOrFirst() {
        return new Window(Math.max(0, offset - size), size);
    }

    @Override
    public Pageable first() {
        return new Window(0, size);
    }

    @Override
    public Pageable withPage(int pageNumber) {
        return new Window((long) pageNumber * size, size);
    }

    @Override
    public boolean hasPrevious() {
        return offset > 0;
    }
}
