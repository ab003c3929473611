package com.deftchill.server.book;

import com.deftchill.server.book.BookQuery.Made;
import com.deftchill.server.book.BookQuery.Order;
import com.deftchill.server.book.BookQuery.Wanted;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The Book: formulas as a cook looks for them. */
@RestController
@RequestMapping("/api/book")
@Tag(name = "Book")
class BookController {
    private static final String AT_MOST = "must have at most 200 characters";

    private final BookService book;

    BookController(BookService book) {
        this.book = book;
    }

    /**
     * A page of the Book.
     *
     * @param total found, counted up to ten pages on, at most two hundred after the page's first
     * @param more whether there are more than that
     * @param computing some rows are not of today yet; ask again in a second
     */
    record BookPage(List<BookService.BookRow> rows, long total, boolean more, int page, int size, boolean computing) {}

    /** Tags of a formula, or all in use. */
    record Tags(
            @NotNull(message = "is missing: the tags, or an empty list")
            @Size(max = 12, message = "must be at most 12 tags")
            List<
                            @NotNull(message = "must be a word")
                            @Pattern(
                                    regexp = "[^|]{1,30}",
                                    message = "must have 1 to 30 characters, none of them a bar")
                            String>
                    tags) {}

    @GetMapping
    @Operation(
            operationId = "book",
            summary = "List formulas as the Book shows them, page by page",
            description =
                    "search: words, each in the name, a tag or an ingredient. tone: unsafe, bad, caution, good, unknown."
                            + " without: id of an allergen. What is not of today is computed in the background.")
    BookPage list(
            @RequestParam(defaultValue = "") @Size(max = 200, message = AT_MOST) String search,
            @RequestParam(defaultValue = "") @Size(max = 200, message = AT_MOST) String kind,
            @RequestParam(defaultValue = "") @Size(max = 200, message = AT_MOST) String tone,
            @RequestParam(defaultValue = "") @Size(max = 200, message = AT_MOST) String without,
            @RequestParam(defaultValue = "") @Size(max = 200, message = AT_MOST) String tag,
            @RequestParam(defaultValue = "EITHER") Made made,
            @RequestParam(defaultValue = "false") boolean putAway,
            @RequestParam(defaultValue = "OPENED") Order order,
            @RequestParam(defaultValue = "0")
                    @Min(value = 0, message = "must be from 0 to 1000000")
                    @Max(value = 1_000_000, message = "must be from 0 to 1000000")
                    int page,
            @RequestParam(defaultValue = "60")
                    @Min(value = 1, message = "must be from 1 to 200")
                    @Max(value = 200, message = "must be from 1 to 200")
                    int size) {
        var found = book.list(new Wanted(search, kind, tone, without, tag, made, putAway, order, page, size));
        boolean computing = found.rows().stream().anyMatch(row -> !row.fresh());
        return new BookPage(found.rows(), found.count().total(), found.count().more(), page, size, computing);
    }

    @GetMapping("/tags")
    @Operation(operationId = "bookTags", summary = "Every tag in use")
    Tags tags() {
        return new Tags(book.tags());
    }

    @PutMapping("/{formulaId}/tags")
    @Operation(operationId = "tagFormula", summary = "Give a formula its tags, instead of those it had")
    Tags tag(@PathVariable UUID formulaId, @Valid @RequestBody Tags tags) {
        return new Tags(book.tag(formulaId, tags.tags()));
    }
}
