using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;

namespace Krasis.Exchange.Pouring;

/// <summary>One pour as it is carried out.</summary>
/// <param name="StartedAt">When the drink was begun that it went into, as ISO 8601.</param>
/// <param name="Pour">The pour.</param>
/// <param name="Temperature">How warm it was; null when nobody measured it.</param>
/// <param name="IsRight">Whether so much was right, and a pull that was timed ran as its recipe wants it.</param>
public sealed record PouredRow(string StartedAt, Pour Pour, Celsius? Temperature, bool IsRight);
