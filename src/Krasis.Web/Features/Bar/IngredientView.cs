using Krasis.Core.Ingredients;

namespace Krasis.Web.Features.Bar;

/// <summary>An ingredient that is kept.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="Document">The ingredient itself.</param>
/// <param name="Measures">The measures in which this bar can say how much of it, the most natural one first.</param>
public sealed record IngredientView(
    string Id, string Etag, IngredientDocument Document, IReadOnlyList<MeasureView> Measures);
