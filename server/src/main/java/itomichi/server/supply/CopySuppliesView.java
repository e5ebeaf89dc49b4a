package itomichi.server.supply;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What copies of a book take besides.
 *
 * @param oneMore what one more copy would take, cut together with all others
 * @param cost of that; left out where a price is not known
 * @param anew what spoilt copies need anew, beyond what is spare
 * @param spoilt how many copies were spoilt and nothing was taken for them yet
 */
record CopySuppliesView(List<AmountView> oneMore, @Nullable Double cost, List<AmountView> anew, int spoilt) {}
