namespace Krasis.App.Bar;

/// <summary>An ingredient or a part that is kept.</summary>
/// <typeparam name="TDocument">Its document's type.</typeparam>
/// <typeparam name="TMeasured">What is known of it.</typeparam>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="Document">The fact itself.</param>
/// <param name="Measures">The measures in which this bar can say how much of it, the most natural one first.</param>
/// <param name="Recipes">The espresso recipes by which it can be pulled here, the one that is meant when none is said
/// first.</param>
/// <param name="Measured">What is known of it.</param>
public sealed record PourableView<TDocument, TMeasured>(
    string Id,
    string Etag,
    TDocument Document,
    IReadOnlyList<MeasureView> Measures,
    IReadOnlyList<ChoiceView> Recipes,
    TMeasured Measured
)
    where TDocument : class
    where TMeasured : class;
