// What the shell uses of CoreLocation, declared anew (from memory), for the check on this computer alone.
#pragma once
#import <Foundation/Foundation.h>
#pragma clang assume_nonnull begin

typedef struct CLLocationCoordinate2D { double latitude, longitude; } CLLocationCoordinate2D;
@interface CLLocation : NSObject
@property (readonly, nonatomic) CLLocationCoordinate2D coordinate;
@property (readonly, nonatomic) double horizontalAccuracy;
@end
typedef enum : int {
    kCLAuthorizationStatusNotDetermined = 0,
    kCLAuthorizationStatusRestricted,
    kCLAuthorizationStatusDenied,
    kCLAuthorizationStatusAuthorizedAlways,
    kCLAuthorizationStatusAuthorizedWhenInUse,
} CLAuthorizationStatus;
enum { kCLErrorDenied = 1 };
extern const double kCLLocationAccuracyNearestTenMeters;
@class CLLocationManager;
@protocol CLLocationManagerDelegate <NSObject>
@optional
- (void)locationManagerDidChangeAuthorization:(CLLocationManager *)manager;
- (void)locationManager:(CLLocationManager *)manager didUpdateLocations:(NSArray<CLLocation *> *)locations;
- (void)locationManager:(CLLocationManager *)manager didFailWithError:(NSError *)error;
@end
@interface CLLocationManager : NSObject
@property (nullable, weak, nonatomic) id<CLLocationManagerDelegate> delegate;
@property (nonatomic) double desiredAccuracy;
@property (nonatomic, readonly) CLAuthorizationStatus authorizationStatus;
- (void)requestWhenInUseAuthorization;
- (void)requestLocation;
@end

#pragma clang assume_nonnull end
