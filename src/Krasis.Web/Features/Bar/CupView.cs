using Krasis.Core.Measures;
using Krasis.Core.Vessels;

namespace Krasis.Web.Features.Bar;

/// <summary>A cup that is kept.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="Document">The cup itself.</param>
/// <param name="BrimCapacity">What it holds, as weighed.</param>
/// <param name="GeometricCapacity">What it would hold by its diameters and height alone.</param>
public sealed record CupView(
    string Id, string Etag, CupDocument Document, Millilitres BrimCapacity, Millilitres GeometricCapacity);
