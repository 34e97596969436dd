using Krasis.Core.Coffee;
using Krasis.Core.Measures;

namespace Krasis.Web.Features.Bar;

/// <summary>A coffee recipe that is kept.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="Document">The recipe itself.</param>
/// <param name="Strength">Coffee solids in what comes out; null when the extraction is not known.</param>
public sealed record CoffeeView(string Id, string Etag, CoffeeBaseDocument Document, Percent? Strength);
