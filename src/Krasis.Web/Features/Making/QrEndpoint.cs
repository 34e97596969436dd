using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using QRCoder;

namespace Krasis.Web.Features.Making;

/// <summary>Draws the codes that lead a phone to a drink at the bar, or to a tasting.</summary>
internal sealed class QrEndpoint : IEndpoints
{
    // Far more than any drink's address has.
    private const int Longest = 300;

    // What is held a phone to: drinks at the bar, tastings, and lots.
    private static readonly string[] Pages = ["/service/", "/taste/", "/prep/lots/"];

    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/qr", Draw)
            .WithTags("Making")
            .WithSummary(
                "A QR code of the address of a drink at the bar, of a tasting or of a lot, under the name by which this server was asked."
            )
            .Produces<string>(200, "image/svg+xml")
            .Fails(422);

    private static Results<ContentHttpResult, ProblemResult> Draw(string? path, HttpRequest request)
    {
        if (
            path is null
            || !Array.Exists(Pages, page => path.StartsWith(page, StringComparison.Ordinal))
            || path.Length > Longest
        )
        {
            return ProblemResult.Fields([
                new(
                    "path",
                    path,
                    "That is no page for a phone.",
                    $"an address that begins with {string.Join(" or ", Pages)}"
                ),
            ]);
        }

        using var code = QRCodeGenerator.GenerateQrCode(
            $"{request.Scheme}://{request.Host}{path}",
            QRCodeGenerator.ECCLevel.M
        );
        using var drawing = new SvgQRCode(code);
        return TypedResults.Content(drawing.GetGraphic(4, "#000000", "#ffffff", drawQuietZones: true), "image/svg+xml");
    }
}
