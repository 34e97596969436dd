namespace Krasis.App.Bar;

/// <summary>A fact that is kept, and what its measurements come to.</summary>
/// <typeparam name="TDocument">Its document's type.</typeparam>
/// <typeparam name="TMeasured">What its measurements come to.</typeparam>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="Document">The fact itself.</param>
/// <param name="Measured">What its measurements come to.</param>
public sealed record MeasuredView<TDocument, TMeasured>(string Id, string Etag, TDocument Document, TMeasured Measured)
    where TDocument : class
    where TMeasured : class;
