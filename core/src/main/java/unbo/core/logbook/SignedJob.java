package unbo.core.logbook;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;

import org.jspecify.annotations.Nullable;

/**
 * What a signed job tells about the bearings of its position.
 *
 * @param numbers of the bearings that are in it when it is signed, by place
 * @param renewed places whose bearing came out and a new one went in
 * @param failed true where what it turned out to be is the failure of a bearing
 * @param counter of the vehicle that day; null where it was not read
 */
public record SignedJob(
        long id,
        LocalDate day,
        @Nullable Double counter,
        Map<String, String> numbers,
        Set<String> renewed,
        boolean failed) {}
