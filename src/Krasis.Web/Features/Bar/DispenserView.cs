using Krasis.Core.Dispensers;
using Krasis.Core.Measures;

namespace Krasis.Web.Features.Bar;

/// <summary>A dispenser that is kept.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="Document">The dispenser itself.</param>
/// <param name="YieldPerStroke">What a stroke gives.</param>
/// <param name="GramsPerStroke">What a stroke weighs on the average; null where no strokes were weighed.</param>
/// <param name="Variation">How much strokes spread; null where no strokes were weighed.</param>
public sealed record DispenserView(
    string Id, string Etag, DispenserDocument Document, Millilitres YieldPerStroke, Grams? GramsPerStroke, Percent? Variation);
