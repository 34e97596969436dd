using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using QRCoder;

namespace Krasis.Web.Features.Making;

/// <summary>Draws the code by which a printed card leads to its drink at the bar.</summary>
public static class QrEndpoint
{
    // Far more than any drink's address has.
    private const int Longest = 300;
    private const string AtTheBar = "/service/";

    public static void Map(IEndpointRouteBuilder routes) => routes
        .MapGet("/api/qr", Draw)
        .WithTags("Making")
        .WithSummary("A QR code of the address of a page at the bar, under the name by which this server was asked.")
        .Produces<string>(200, "image/svg+xml")
        .Fails(422);

    private static Results<ContentHttpResult, ProblemResult> Draw(string? path, HttpRequest request)
    {
        if (path is null || !path.StartsWith(AtTheBar, StringComparison.Ordinal) || path.Length > Longest)
        {
            return ProblemResult.Fields([new("path", path, "That is no page at the bar.", $"an address that begins with {AtTheBar}")]);
        }

        using var code = QRCodeGenerator.GenerateQrCode($"{request.Scheme}://{request.Host}{path}", QRCodeGenerator.ECCLevel.M);
        using var drawing = new SvgQRCode(code);
        return TypedResults.Content(drawing.GetGraphic(4, "#000000", "#ffffff", drawQuietZones: true), "image/svg+xml");
    }
}
