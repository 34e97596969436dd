using System.Globalization;
using Krasis.Core.Input;
using Krasis.Exchange.Devices;
using Krasis.Web.Devices;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Devices;

/// <summary>Hands labels to the bar's printer, and what the bar's scale says to pages. There are none unless the
/// command line says where.</summary>
internal sealed class DeviceEndpoints(KrasisOptions options) : IEndpoints
{
    private const int MostLabels = 100;
    private const double SmallestMm = 10,
        LargestMm = 300;

    public void Map(IEndpointRouteBuilder routes)
    {
        var printer =
            options.PrinterAt is { } address ? new RasterPrinter(address)
            : options.PrinterFolder is { } folder ? new PdfQueue(folder, options.Clock)
            : default(ILabelPrinter);
        var devices = routes.MapGroup("/api/devices").WithTags("Devices");
        devices
            .MapGet("", () => TypedResults.Ok(new DevicesView(printer is not null, options.ScaleAt is not null)))
            .WithSummary("Which devices the bar has.");
        devices
            .MapPost("/labels", (LabelsRequest labels, CancellationToken cancellation) =>
                Print(printer, labels, cancellation)
            )
            .WithSummary("Print labels, each a picture of dots, on the bar's label printer.")
            .Fails(400, 404, 413, 422, 502);
        devices
            .MapGet("/scale", (HttpContext context, CancellationToken gone) =>
                Relay(options.ScaleAt, context.Response, gone)
            )
            .WithSummary("What the bar's scale sends, line by line, for as long as it is listened to.")
            .Produces<string>(200, "text/plain")
            .Fails(404, 502);
    }

    private static async Task<Results<NoContent, ProblemResult>> Print(
        ILabelPrinter? printer,
        LabelsRequest request,
        CancellationToken cancellation
    )
    {
        if (printer is null)
        {
            return ProblemResult.Closed(
                "The bar has no label printer.",
                "Start Krasis with --printer and where it is."
            );
        }

        var labels = (request.Labels ?? []).Select(Read).ToList();
        List<Problem> wrong = [];
        if (labels.Count is 0 or > MostLabels)
        {
            wrong.Add(
                new Problem(
                    "labels",
                    labels.Count.ToString(CultureInfo.InvariantCulture),
                    $"These are {labels.Count} labels.",
                    $"1 to {MostLabels} labels at once"
                )
            );
        }

        wrong.AddRange(
            labels
                .Select((label, i) => (label, i))
                .Where(one => one.label is null)
                .Take(1)
                .Select(one => new Problem(
                    $"labels[{one.i}]",
                    null,
                    "It is no picture of dots.",
                    $"a width and a height of 1 to {Raster.Most} dots, and as many bits in base64, each row beginning a byte"
                ))
        );
        foreach (var (field, mm) in new[] { ("widthMm", request.WidthMm), ("heightMm", request.HeightMm) })
        {
            if (!(mm is >= SmallestMm and <= LargestMm))
            {
                wrong.Add(
                    new Problem(
                        field,
                        mm.ToString(CultureInfo.InvariantCulture),
                        "No label is of that size.",
                        $"{SmallestMm} to {LargestMm} mm"
                    )
                );
            }
        }

        if (wrong.Count > 0)
        {
            return ProblemResult.Fields(wrong);
        }

        try
        {
            await printer
                .Print([.. labels.OfType<Raster>()], request.WidthMm, request.HeightMm, cancellation)
                .ConfigureAwait(false);
            return TypedResults.NoContent();
        }
        catch (DeviceException e)
        {
            return ProblemResult.Device(e.Message);
        }
    }

    private static Raster? Read(LabelPicture? picture)
    {
        if (picture is not { Bits: { } bits, Width: > 0 and <= Raster.Most, Height: > 0 and <= Raster.Most })
        {
            return null;
        }

        var bytes = new byte[bits.Length];
        return
            Convert.TryFromBase64String(bits, bytes, out var length)
            && new Raster(picture.Width, picture.Height, bytes[..length]) is { IsWhole: true } raster
            ? raster
            : null;
    }

    private static async Task<IResult> Relay(DeviceAddress? scale, HttpResponse response, CancellationToken gone)
    {
        if (scale is null)
        {
            return ProblemResult.Closed(
                "The bar has no scale.",
                "Start Krasis with --scale and where it is, or use one on this machine's own port."
            );
        }

        Stream device;
        try
        {
            device = await scale.Open(gone).ConfigureAwait(false);
        }
        catch (DeviceException e)
        {
            return ProblemResult.Device(e.Message);
        }

        await using (device.ConfigureAwait(false))
        {
            response.ContentType = "text/plain; charset=us-ascii";
            response.Headers.CacheControl = "no-store";
            await response.StartAsync(gone).ConfigureAwait(false);
            var buffer = new byte[256];
            try
            {
                for (int read; (read = await device.ReadAsync(buffer, gone).ConfigureAwait(false)) > 0; )
                {
                    await response.Body.WriteAsync(buffer.AsMemory(0, read), gone).ConfigureAwait(false);
                    await response.Body.FlushAsync(gone).ConfigureAwait(false);
                }
            }
            catch (Exception e) when (e is IOException or OperationCanceledException)
            {
                // Whichever end has gone: the page sees that nothing comes any more.
            }

            return Results.Empty;
        }
    }
}

/// <summary>Which devices the bar has.</summary>
/// <param name="HasPrinter">Whether it has a label printer.</param>
/// <param name="HasScale">Whether it has a scale.</param>
public sealed record DevicesView(bool HasPrinter, bool HasScale);

/// <summary>Labels to be printed.</summary>
/// <param name="WidthMm">How wide they are, mm.</param>
/// <param name="HeightMm">How high they are, mm.</param>
/// <param name="Labels">The labels.</param>
public sealed record LabelsRequest(double WidthMm, double HeightMm, IReadOnlyList<LabelPicture>? Labels);

/// <summary>A label as dots.</summary>
/// <param name="Width">How many dots a row has.</param>
/// <param name="Height">How many rows.</param>
/// <param name="Bits">The rows from the top, eight dots a byte from the left, the highest bit first, black a one; in
/// base64.</param>
public sealed record LabelPicture(int Width, int Height, string? Bits);
