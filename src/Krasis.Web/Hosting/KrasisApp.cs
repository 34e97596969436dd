using System.IO.Compression;
using System.Text.Json;
using System.Text.Json.Serialization;
using Krasis.Store;
using Krasis.Web.Features.Bar;
using Krasis.Web.Features.Builds;
using Krasis.Web.Features.Devices;
using Krasis.Web.Features.Files;
using Krasis.Web.Features.Health;
using Krasis.Web.Features.Making;
using Krasis.Web.Features.Mixing;
using Krasis.Web.Features.Pantry;
using Krasis.Web.Features.Prep;
using Krasis.Web.Features.Quantities;
using Krasis.Web.Features.Recipes;
using Krasis.Web.Features.Standards;
using Krasis.Web.Features.Starting;
using Krasis.Web.Features.Stations;
using Krasis.Web.Features.Tastings;
using Krasis.Web.Features.Transforming;
using Krasis.Web.Features.Versions;
using Krasis.Web.Json;
using Krasis.Web.Problems;
using Krasis.Web.Seeding;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.AspNetCore.Routing.Constraints;

namespace Krasis.Web.Hosting;

/// <summary>Puts the program together.</summary>
public static class KrasisApp
{
    /// <summary>The largest request taken, in bytes. The largest build there can be is a tenth of it.</summary>
    public const int LargestRequest = 1_000_000;

    // A connection that somebody has left half open must not hold up the end; whatever is being saved takes
    // milliseconds.
    private static readonly TimeSpan PatienceAtEnd = TimeSpan.FromSeconds(5);

    /// <summary>Opens the data file and makes the web application, ready to be started.</summary>
    /// <exception cref="KrasisFileException">The data file cannot be used.</exception>
    public static WebApplication Create(KrasisOptions options)
    {
        var file = KrasisFile.Open(options.DataFile, options.Clock, options.CopiesFolder);
        Seeder.FillIfFresh(file, options.Demo, options.Clock);

        var builder = WebApplication.CreateSlimBuilder(
            new WebApplicationOptions { ContentRootPath = AppContext.BaseDirectory, WebRootPath = "wwwroot" }
        );
        // A start that fails is told in a sentence by whoever started it, not in a page of stack.
        builder
            .Logging.SetMinimumLevel(LogLevel.Warning)
            .AddFilter("Microsoft.Extensions.Hosting.Internal.Host", LogLevel.None)
            .AddSimpleConsole();
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.Listen(options.Listen, options.Port);
            kestrel.Limits.MaxRequestBodySize = LargestRequest;
            kestrel.AddServerHeader = false;
        });
        builder.Services.AddSingleton(file);
        builder.Services.AddSingleton<Library>();
        builder.Services.AddSingleton<HouseSheets>();
        builder.Services.AddSingleton<Board>();
        builder.Services.AddSingleton<StandardNeeds>();
        builder.Services.AddSingleton<BundleShelf>();
        builder.Services.AddSingleton<WorkedOut>();
        builder.Services.AddResponseCompression(compression =>
            compression.MimeTypes = [
                .. ResponseCompressionDefaults.MimeTypes,
                "image/svg+xml",
                "application/problem+json",
            ]
        );
        builder.Services.Configure<BrotliCompressionProviderOptions>(brotli => brotli.Level = CompressionLevel.Fastest);
        builder.Services.AddSingleton<SameAnswer>();
        builder.Services.AddSingleton(options.Clock);
        builder.Services.Configure<RouteOptions>(routes =>
            routes.SetParameterPolicy<RegexInlineRouteConstraint>("regex")
        );
        builder.Services.Configure<RouteHandlerOptions>(routes => routes.ThrowOnBadRequest = true);
        builder.Services.ConfigureHttpJsonOptions(json => Configure(json.SerializerOptions));
        builder.Services.AddExceptionHandler<BadRequests>();
        builder.Services.AddExceptionHandler<DataFileProblems>();
        builder.Services.AddProblemDetails(problems => problems.CustomizeProblemDetails = BadRequests.Explain);
        builder.Services.AddOpenApi(MeasuredSchemas.Describe);
        builder.Services.Configure<HostOptions>(host => host.ShutdownTimeout = PatienceAtEnd);
        if (options.CopyEvery is { } every)
        {
            builder.Services.AddHostedService(services => new TimedCopies(
                file,
                every,
                options.CopiesKept,
                options.Clock,
                services.GetRequiredService<ILogger<TimedCopies>>()
            ));
        }

        var app = builder.Build();
        app.Use(FrontEnd.Protect);
        app.UseExceptionHandler();
        app.UseStatusCodePages();
        app.Use(new Gate(options.Hosts).Let);
        app.UseResponseCompression();
        app.Use(BadRequests.KeepBody);
        app.Use(app.Services.GetRequiredService<SameAnswer>().Answer);
        FrontEnd.Serve(app);
        app.MapOpenApi();
        HealthEndpoint.Map(app);
        CopyEndpoint.Map(app, options);
        BundleEndpoints.Map(app);
        SchemaEndpoints.Map(app);
        SheetEndpoints.Map(app);
        BookEndpoint.Map(app);
        FeedEndpoints.Map(app);
        DeviceEndpoints.Map(app, options);
        BuildEndpoints.Map(app);
        MixEndpoint.Map(app);
        CardsEndpoint.Map(app);
        ServiceEndpoint.Map(app);
        OrderEndpoint.Map(app);
        RescueEndpoint.Map(app);
        MakesEndpoint.Map(app);
        PouredEndpoint.Map(app);
        PrintsEndpoint.Map(app);
        QrEndpoint.Map(app);
        TroubleEndpoint.Map(app);
        TextEndpoint.Map(app);
        RecipePage.Map(app);
        RecipeEndpoints.Map(app);
        TastingEndpoints.Map(app);
        TasteEndpoints.Map(app);
        DecisionEndpoints.Map(app);
        LogEndpoints.Map(app);
        PrepEndpoints.Map(app);
        QuantityEndpoint.Map(app);
        BarEndpoints.Map(app);
        PullEndpoint.Map(app);
        PantryEndpoint.Map(app);
        PantryFileEndpoints.Map(app);
        MeasuringEndpoints.Map(app);
        PourEndpoint.Map(app);
        StandardEndpoints.Map(app);
        TransformEndpoint.Map(app);
        VersionEndpoints.Map(app);
        StartEndpoints.Map(app);
        app.Lifetime.ApplicationStarted.Register(() => Announce(app, file));

        // The first page need not wait for every build to be worked out.
        app.Lifetime.ApplicationStarted.Register(() =>
            _ = Task.Run(() => app.Services.GetRequiredService<Library>().On(options.Clock.Today()))
        );
        return app;
    }

    /// <summary>Sets how JSON is read and written.</summary>
    public static void Configure(JsonSerializerOptions json)
    {
        // A number in quotes is text, and a field that nobody knows is a slip: both are told, not guessed at.
        json.NumberHandling = JsonNumberHandling.Strict;
        json.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        json.RespectNullableAnnotations = true;
        json.Converters.Add(new MeasurableDoubleConverter());
        json.Converters.Add(new MeasuredJsonConverterFactory());
        json.Converters.Add(new IdJsonConverterFactory());
        json.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
    }

    private static void Announce(WebApplication app, KrasisFile file)
    {
        var addresses = app.Services.GetRequiredService<IServer>().Features.Get<IServerAddressesFeature>()!.Addresses;
        Console.WriteLine($"Krasis answers at {string.Join(", ", addresses)}");
        Console.WriteLine($"Its data is in {file.Path}");
    }
}
